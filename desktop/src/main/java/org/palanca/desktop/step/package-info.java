/**
 * What a step of the job is: its contract, what it is given, how far it has come, and the list down the left side. Each
 * step is one package below this one, with its pane, boards and forms; no step uses another. What several of them use is in
 * {@code board} and {@code control}.
 */
package org.palanca.desktop.step;
