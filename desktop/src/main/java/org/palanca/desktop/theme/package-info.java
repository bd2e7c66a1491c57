/** Colours and fonts, from the fabricator's own marking-out: blued plate and scribed lines, or kraft card and pencil. */
package org.palanca.desktop.theme;
