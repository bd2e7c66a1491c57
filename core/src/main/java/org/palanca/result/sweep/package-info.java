/** Results along a path of poses, with the worst pose. */
package org.palanca.result.sweep;
