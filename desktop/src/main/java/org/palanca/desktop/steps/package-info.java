/** The steps of the job and what each shows. */
package org.palanca.desktop.steps;
