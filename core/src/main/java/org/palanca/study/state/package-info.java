/** The vehicle on another height or another tyre: where everything stands then, so that every study can be asked. */
package org.palanca.study.state;
