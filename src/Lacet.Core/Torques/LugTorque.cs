using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Torques;

/// <summary>
/// Torque of lug screws and bolts by the tables of NEC informative annex I (UL 486A-486B), for lugs without a marking.
/// </summary>
internal static class LugTorque
{
    internal const string BoltSource = "UL 486A-486B (from memory)";
    internal const string Source = "NEC informative annex I, UL 486A-486B (from memory)";

    /// <summary>A slot this wide at most, in inches, is a narrow one.</summary>
    private const double NarrowSlot = 0.047;

    private const double ShortSlot = 0.25;

    private static readonly IReadOnlyList<ConductorTorqueRow> ByConductor = ReferenceTable.Rows<ConductorTorqueRow>(
        "nec-annex-i-conductor"
    );
    private static readonly IReadOnlyList<SmallSlotRow> SmallSlots = ReferenceTable.Rows<SmallSlotRow>(
        "nec-annex-i-small-slot"
    );
    private static readonly IReadOnlyList<SocketRow> Sockets = ReferenceTable.Rows<SocketRow>("nec-annex-i-socket");
    private static readonly IReadOnlyList<BoltRow> Bolts = ReferenceTable.Rows<BoltRow>("lug-bolts");

    /// <summary>
    /// Of a set screw: the value, what it was read by, and whether that was measured. Where the table has no value for
    /// a narrow slot, the wide one's stands in and counts as not measured.
    /// </summary>
    internal static (Torque Value, FormattableString By, bool Measured) OfSetScrew(
        SetScrewLug lug,
        Conductor conductor,
        double typicalSocketIn
    )
    {
        var row = ByConductor.FirstOrDefault(r => r.MostMm2 >= conductor.Size.Area.SquareMillimetres)
            ?? ByConductor[^1];
        switch (lug.Drive, lug.Slot)
        {
            case (LugDrive.HexSocket, _):
                var socket = Sockets.LastOrDefault(r => r.Inches <= (lug.AcrossFlatsIn ?? typicalSocketIn) + 0.005)
                    ?? Sockets[0];
                return (
                    InchPounds(socket.Torque),
                    $"a socket of {socket.AcrossFlats} across flats",
                    lug.AcrossFlatsIn is not null
                );
            case (LugDrive.Slotted, { SmallerThanNumber10: true } slot):
                var small = SmallSlots.First(r => slot.LengthIn < r.MostLength || r == SmallSlots[^1]);
                return Slotted(
                    slot.WidthIn <= NarrowSlot,
                    small.Narrow,
                    small.Wide!.Value,
                    $"a screw under #10 with a slot of {small.Slot}"
                );
            case (LugDrive.Slotted, { } slot):
                return Slotted(
                    slot.WidthIn <= NarrowSlot && slot.LengthIn <= ShortSlot,
                    row.NarrowSlot,
                    row.WideSlot!.Value,
                    $"a slotted screw #10 or larger on {row.Conductor}"
                );
            case (LugDrive.Slotted, null):
                return (
                    InchPounds(row.NarrowSlot ?? row.WideSlot!.Value),
                    $"a slotted screw #10 or larger on {row.Conductor}",
                    false
                );
            case (LugDrive.SplitBolt, _):
                return (InchPounds(row.SplitBolt!.Value), $"a split-bolt on {row.Conductor}", true);
            default:
                return (InchPounds(row.Hexagon!.Value), $"a hexagon head on {row.Conductor}", true);
        }
    }

    /// <summary>Of a small conductor in a lug for large ones: the value for a slotted screw on it.</summary>
    internal static Torque OfSmall(Conductor conductor) =>
        InchPounds(
            (ByConductor.FirstOrDefault(r => r.MostMm2 >= conductor.Size.Area.SquareMillimetres) ?? ByConductor[^1])
                .WideSlot!
                .Value
        );

    /// <summary>Of a bolt that holds a lug to a bar: the row of that diameter, or the next smaller one.</summary>
    internal static (Torque Value, FormattableString By) OfBolt(double diameterIn)
    {
        var row = Bolts.LastOrDefault(r => r.Inches <= diameterIn + 0.005) ?? Bolts[0];
        return (Torque.From(row.Torque, TorqueUnit.FootPound), $"a {row.Bolt} bolt");
    }

    private static (Torque, FormattableString, bool) Slotted(
        bool isNarrow,
        double? narrow,
        double wide,
        FormattableString by
    ) => (InchPounds(isNarrow ? narrow ?? wide : wide), by, !isNarrow || narrow is not null);

    private static Torque InchPounds(double value) => Torque.From(value, TorqueUnit.InchPound);
}
