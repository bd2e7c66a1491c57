/** Tables out, in RFC 4180 form. */
package org.palanca.io.csv;
