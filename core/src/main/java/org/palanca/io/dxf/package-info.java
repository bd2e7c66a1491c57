/** Reading of DXF, the ASCII form of releases 12 and later. */
package org.palanca.io.dxf;
