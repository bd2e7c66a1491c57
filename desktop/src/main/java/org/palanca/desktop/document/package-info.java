/** The open vehicle: its file, its undo history, what is shown of it, and what keeps it from being lost. */
package org.palanca.desktop.document;
