/**
 * The vehicle file: JSON in millimetres, degrees and kilograms, with a published schema ({@code
 * vehicle-2.schema.json} beside this package's resources).
 *
 * <p>How a type stands in the file is declared once, in a method that takes {@link org.palanca.io.json.Fields} and gives the
 * thing: it serves both ways. The order in which it names its fields is their order in the file. To add a field is a line
 * there and one in the schema.
 */
package org.palanca.io.json;
