/** Text for people, by key from resource bundles, so that a second language needs no change in code. */
package org.palanca.base.words;
