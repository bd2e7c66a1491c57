/** Points in: CSV, DXF (ASCII, POINT entities), XYZ and PLY. */
package org.palanca.io.points;
