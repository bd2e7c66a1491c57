/** Plates as files for whoever cuts them: DXF, SVG, CSV and STL, and a cut table that reads them back. */
package org.palanca.io.plate;
