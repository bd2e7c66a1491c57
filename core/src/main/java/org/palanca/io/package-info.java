/** Files in and out. Nothing else in the core uses this package. */
package org.palanca.io;
