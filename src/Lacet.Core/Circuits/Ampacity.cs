using Lacet.Core.Conductors;
using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>What a conductor may carry at a termination, by table.</summary>
/// <param name="Amps">Ampacity in the column of the terminal, A.</param>
/// <param name="Breaker">The largest overcurrent device: the next standard rating, or the small-conductor limit where
/// that is less, A.</param>
/// <param name="TemperatureC">The column, °C; 40 °C ambient for machine wiring.</param>
/// <param name="Source">The table.</param>
public sealed record Ampacity(double Amps, double Breaker, int TemperatureC, string Source)
{
    private static readonly Dictionary<string, AmpacityRow> Gauges = ReferenceTable
        .Rows<AmpacityRow>("nec-310-16")
        .ToDictionary(r => r.Size, StringComparer.Ordinal);

    private static readonly Dictionary<double, MachineWiringRow> Metric = ReferenceTable
        .Rows<MachineWiringRow>("iec-60204-1")
        .ToDictionary(r => r.Mm2);

    /// <summary>
    /// The ampacity at a terminal marked for a temperature; unmarked, the 60 °C column up to 100 A or 14 to 1 AWG and
    /// 75 °C above (NEC 110.14(C), from memory); a terminal marked for 75 °C may use that column. The 90 °C column is
    /// for derating only. An ampacity that is no standard rating may have the next larger breaker (NEC 240.4(B)), but
    /// not where the circuit feeds several receptacles for plugged loads. Insulation whose letters allow less has its
    /// own column. Null where no table has the size, and for a cord.
    /// </summary>
    public static Ampacity? For(Conductor conductor, int? terminalC, bool feedsReceptacles = false)
    {
        if (conductor.Size.System == SizeSystem.Metric)
        {
            return
                conductor.Material == Material.Copper
                && Metric.TryGetValue(conductor.Size.Area.SquareMillimetres, out var machine)
                ? new(machine.Amps, machine.Amps, 70, "IEC 60204-1, PVC, method B1, 40 °C ambient (from memory)")
                : null;
        }

        // A cord has tables of its own, and is not protected by them (NEC 400.5, 240.5(B), from memory).
        if (conductor.Designation is { Kind: DesignationKind.Cord })
        {
            return null;
        }

        if (!Gauges.TryGetValue(conductor.Size.Name, out var row))
        {
            return null;
        }

        var copper = conductor.Material == Material.Copper;
        var column =
            terminalC is { } marked ? Math.Min(marked, 75)
            : row.IsOver1Awg ? 75
            : 60;
        column = conductor.Designation is { Column: < 75 } ? 60 : column;
        var amps = (copper, column) switch
        {
            (true, 60) => row.Copper60,
            (true, _) => row.Copper75,
            (false, 60) => row.Aluminium60,
            _ => row.Aluminium75,
        };
        var limit = copper ? row.OcpdCopper : row.OcpdAluminium;
        return amps is { } found
            ? new(
                found,
                limit is { } small ? Math.Min(small, found) : StandardBreaker.Over(found, feedsReceptacles),
                column,
                "NEC 310.16, 110.14(C), 240.4(B) and (D) (from memory)"
            )
            : null;
    }

    /// <summary>
    /// The ampacity of a conductor of 90 °C insulation that runs with others: the 90 °C column times the factor for so
    /// many loaded conductors, and never more than its terminals allow. Null where no table has the size.
    /// </summary>
    public static Ampacity? Together(
        Conductor conductor,
        int? terminalC,
        int loadedConductors,
        bool feedsReceptacles = false
    )
    {
        if (
            conductor.Size.System == SizeSystem.Metric
            || For(conductor, terminalC, feedsReceptacles) is not { } alone
            || !Gauges.TryGetValue(conductor.Size.Name, out var row)
            || ColumnOf(row, conductor) is not { } column
        )
        {
            return null;
        }

        var derated = Math.Min(alone.Amps, column * BundleFactor.For(loadedConductors));
        return alone with
        {
            Amps = derated,
            Breaker = Math.Min(alone.Breaker, StandardBreaker.Over(derated, feedsReceptacles)),
            Source = "NEC 310.15(C)(1), 310.16, 240.4(B) (from memory)",
        };
    }

    /// <summary>The warmest column that its insulation allows; 90 °C where nobody said its letters.</summary>
    private static double? ColumnOf(AmpacityRow row, Conductor conductor) =>
        (conductor.Material, conductor.Designation?.Column ?? 90) switch
        {
            (Material.Copper, >= 90) => row.Copper90,
            (Material.Copper, >= 75) => row.Copper75,
            (Material.Copper, _) => row.Copper60,
            (_, >= 90) => row.Aluminium90,
            (_, >= 75) => row.Aluminium75,
            _ => row.Aluminium60,
        };
}
