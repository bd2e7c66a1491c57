package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;

/**
 * A value of a file with its place.
 *
 * @param node missing where there is none
 * @param pointer where it stands
 * @param unread hears of keys that nothing is read from
 */
record Found(JsonNode node, String pointer, UnreadKeys unread) {
    Found at(String key) {
        return new Found(node.path(key), pointer + "/" + key, unread);
    }

    Found at(int index) {
        return new Found(node.path(index), pointer + "/" + index, unread);
    }
}
