/**
 * What every other room stands on: units and how a length is read and written, words and messages, sides and instant
 * centres, solid shapes and the distance between them. Nothing here knows of vehicles. It uses nothing else of the
 * project.
 */
package org.palanca.base;
