/**
 * Questions about a whole axle or vehicle, each answered over all poses that matter: travel and its worst poses,
 * steering lock to lock, shafts, clearance, what ends the travel, ride, slopes, fit, what is often said and not so,
 * and the assessment of all of them at once against which advice is tried. Studies use results and the floor's
 * readings; no study knows how it is shown.
 */
package org.palanca.study;
