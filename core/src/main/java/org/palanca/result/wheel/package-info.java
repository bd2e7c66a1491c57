/** How each wheel stands: camber, toe, its steering axis and where that meets the ground, track. */
package org.palanca.result.wheel;
