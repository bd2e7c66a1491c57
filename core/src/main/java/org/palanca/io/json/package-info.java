/**
 * The vehicle file: JSON in millimetres, degrees and kilograms, with a published schema ({@code
 * vehicle-2.schema.json} beside this package's resources).
 */
package org.palanca.io.json;
