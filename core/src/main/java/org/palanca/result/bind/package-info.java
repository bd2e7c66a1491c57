/** What bushings have to give where an axle binds. */
package org.palanca.result.bind;
