/** From the model to what is cut and where it goes. */
package org.palanca.floor.cutting;
