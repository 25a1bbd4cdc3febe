using Lacet.Core.Quantities;

namespace Lacet.Core.Reference;

/// <summary>What a table is for: shown beside it on the Shelf.</summary>
/// <param name="Title">What it holds, in a line.</param>
/// <param name="Trust">How far it can be trusted.</param>
/// <param name="UsedBy">Ids of the rules and checks that read it.</param>
public sealed record TableUse(Term Title, Trust Trust, IReadOnlyList<string> UsedBy)
{
    /// <summary>By table.</summary>
    public static IReadOnlyDictionary<string, TableUse> All { get; } =
        new Dictionary<string, TableUse>(StringComparer.Ordinal)
        {
            ["crimp-pull-out"] = new("Pull-out of crimped samples", Trust.Standard, ["crimp-pull-out"]),
            ["nec-400-5"] = new("What flexible cords carry", Trust.Standard, ["cord-ampacity"]),
            ["cord-plugs"] = new("Plugs of portable cords", Trust.Standard, ["cord-plug"]),
            ["hd-516"] = new("What cords in metric sizes carry", Trust.Standard, ["cord-ampacity"]),
            ["cord-jackets"] = new("Jackets of cords", Trust.Standard, ["cord-jacket"]),
            ["cord-lengths"] = new("Lengths in which cords are sold", Trust.CommonPractice, ["cord-length"]),
            ["cord-connectors"] = new("Connectors of detachable cords", Trust.Standard, ["cord-connector"]),
            ["plug-loads"] = new("Loads plugged into receptacles", Trust.Standard, ["plugged-load"]),
            ["receptacle-ratings"] = new("Receptacles by circuit", Trust.Standard, ["receptacle-rating"]),
            ["pull-out"] = new("Pull-out of landed samples", Trust.Standard, ["check"]),
            ["conductors"] = new(
                "Sizes, strands, insulation, resistance",
                Trust.Standard,
                ["insulation-diameter", "conductor-out-of-range"]
            ),
            ["ferrules"] = new(
                "Ferrules: pins, bores, colours",
                Trust.Standard,
                [
                    "ferrule-size",
                    "ferrule-pin",
                    "ferrule-collar",
                    "ferrule-none-fits",
                    "pin-wider-than-opening",
                    "wider-than-pitch",
                ]
            ),
            ["glands"] = new("Cable glands by jacket", Trust.Generic, ["strip-cable-jacket"]),
            ["iec-60204-1"] = new("Current of machine wiring", Trust.Standard, ["ampacity", "terminal-overloaded"]),
            ["iec60947-torque"] = new("Test torques by thread", Trust.Standard, ["torque-common-practice"]),
            ["lug-bolts"] = new("Torque of lug bolts", Trust.Standard, ["torque-standard-table"]),
            ["lugs"] = new("What lugs usually have", Trust.Generic, ["barrel-depth", "crimp-count"]),
            ["nec-310-15-c1"] = new("Factor for loaded conductors together", Trust.Standard, ["loaded-together"]),
            ["nec-310-16"] = new(
                "Ampacities",
                Trust.Standard,
                ["ampacity", "terminal-overloaded", "overloaded-between-joints"]
            ),
            ["nec-annex-i-conductor"] = new(
                "Torque of lug screws by conductor",
                Trust.Standard,
                ["torque-standard-table"]
            ),
            ["nec-annex-i-small-slot"] = new(
                "Torque of slotted screws under #10",
                Trust.Standard,
                ["torque-standard-table"]
            ),
            ["nec-annex-i-socket"] = new("Torque of socket screws", Trust.Standard, ["torque-standard-table"]),
            ["ring-holes"] = new("Holes of rings and forks by their stud", Trust.Standard, ["stud-size"]),
            ["lug-sockets"] = new(
                "What lugs with a socket usually take",
                Trust.Generic,
                ["size-range", "range-not-known"]
            ),
            ["boxes"] = new("Volumes of usual boxes", Trust.Standard, ["box-fill", "box-overfilled"]),
            ["rings"] = new(
                "Rings and forks by range and colour",
                Trust.CommonPractice,
                ["ring-range", "barrel-depth", "no-ring-fits"]
            ),
            ["device-inside"] = new(
                "What devices have between their terminals",
                Trust.Standard,
                [
                    "inside-not-known",
                    "voltage-unlike-rated",
                    "poles-joined",
                    "fed-by-nothing",
                    "switch-switches-nothing",
                ]
            ),
            ["nec-250-122"] = new("Least size of an earth", Trust.Standard, ["earth-too-small"]),
            ["nec-314-16-b"] = new("Room that conductors take in a box", Trust.Standard, ["box-fill"]),
            ["splice-connectors"] = new("What splice connectors usually ask for", Trust.Generic, ["splice-strip"]),
            ["screws"] = new("Binding screws", Trust.Standard, ["screw-size", "hook-length"]),
            ["slot-widths"] = new("How wide landings stand on a rail", Trust.Generic, ["board"]),
            ["designations"] = new(
                "Letters of wires, cables and cords",
                Trust.Standard,
                ["identify", "insulation-diameter", "ampacity", "not-for-wet-place"]
            ),
            ["insulation-diameters"] = new("Diameters over insulation", Trust.Standard, ["insulation-diameter"]),
            ["cable-cores"] = new("Conductors of cables and cords by colour", Trust.Standard, ["cable-cores"]),
            ["colours"] = new("Words for colours", Trust.Standard, ["colour-against-function"]),
            ["landing-traits"] = new("How landings differ in use", Trust.CommonPractice, ["compare"]),
            ["survey-times"] = new("Minutes for putting a device right", Trust.CommonPractice, ["survey-remedy"]),
            ["strand-loss"] = new("Strands that may be lost", Trust.Standard, ["strip"]),
            ["strippers"] = new("What strips which size", Trust.CommonPractice, ["strip"]),
            ["twin-ferrules"] = new("Twin ferrules", Trust.CommonPractice, ["ferrule-pin", "no-twin-fits"]),
            ["typical-blocks"] = new(
                "What screw-clamp blocks usually have",
                Trust.Generic,
                ["strip-depth", "torque-common-practice"]
            ),
            ["typical-landings"] = new(
                "What landings usually have",
                Trust.Generic,
                ["strip-depth", "size-range", "build-not-accepted"]
            ),
            ["typical-torque"] = new(
                "Torque where nothing is marked",
                Trust.CommonPractice,
                ["torque-common-practice"]
            ),
        };
}
