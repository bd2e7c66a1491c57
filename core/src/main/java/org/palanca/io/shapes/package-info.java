/** Shapes from files: skins of triangles (OBJ, STL), outlines (DXF), points of a scan (XYZ, PLY). */
package org.palanca.io.shapes;
