/** Starting a vehicle from a layout. */
package org.palanca.desktop.start;
