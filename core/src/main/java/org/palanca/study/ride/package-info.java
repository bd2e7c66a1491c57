/**
 * How an axle rides on its springs: loads and rates at the wheels through travel, frequencies, what preload carries the
 * weight, what pair of springs to order, where a shock's upper mount goes for the split of travel wanted.
 */
package org.palanca.study.ride;
