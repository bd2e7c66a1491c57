/** One class a command. */
package org.palanca.cli.command;
