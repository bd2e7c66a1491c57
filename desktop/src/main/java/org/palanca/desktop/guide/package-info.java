/** The guided job: a few small tasks on the demo vehicle that teach the order of work, each checked for real. */
package org.palanca.desktop.guide;
