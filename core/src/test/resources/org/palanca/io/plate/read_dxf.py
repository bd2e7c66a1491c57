"""Reads DXF files with ezdxf, a general library, and prints what is in each as JSON lines."""
import json
import sys

import ezdxf
from ezdxf import path


def area(points):
    pairs = zip(points, points[1:] + points[:1])
    return abs(sum(a.x * b.y - b.x * a.y for a, b in pairs)) / 2


for name in sys.argv[1:]:
    document = ezdxf.readfile(name)
    found = {"version": document.dxfversion, "units": document.header.get("$INSUNITS"), "outlines": [], "holes": [],
             "bends": [], "marks": [], "errors": [str(error) for error in document.audit().errors]}
    for entity in document.modelspace():
        layer = entity.dxf.layer
        if entity.dxftype() == "POLYLINE":
            points = list(path.make_path(entity).flattening(1e-5, segments=4096))
            found["outlines"].append({"layer": layer, "closed": entity.is_closed, "area": area(points[:-1])})
        elif entity.dxftype() == "CIRCLE":
            x, y, _ = entity.dxf.center
            found["holes"].append({"layer": layer, "x": x, "y": y, "radius": entity.dxf.radius})
        elif entity.dxftype() == "LINE":
            found["bends"].append({"layer": layer, "length": entity.dxf.start.distance(entity.dxf.end)})
        elif entity.dxftype() == "TEXT":
            found["marks"].append({"layer": layer, "text": entity.dxf.text})
        else:
            found["errors"].append(entity.dxftype())
    print(json.dumps(found))
