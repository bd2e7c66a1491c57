/** Text tables and JSON for the terminal. */
package org.palanca.cli.print;
