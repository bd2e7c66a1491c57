/** The command line: the same numbers as the window, for people, scripts and checks. */
package org.palanca.cli;
