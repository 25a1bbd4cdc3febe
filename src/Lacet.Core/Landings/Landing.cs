using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>A terminal point of a device, block, lug or plug: where an end goes, and what that asks of it.</summary>
public abstract record Landing
{
    private protected Landing(TorqueMarking? torqueMarking, IReadOnlySet<Material> metals) =>
        (TorqueMarking, Metals) = (torqueMarking, metals);

    /// <summary>The kind's stable name, such as "binding-screw".</summary>
    public abstract string Kind { get; }

    /// <summary>How the kind is named in a sentence.</summary>
    public abstract string SaidAs { get; }

    /// <summary>The kind with its article: "a binding screw", "an insulation-displacement block".</summary>
    public string OneSaidAs => ("aeiou".Contains(SaidAs[0], StringComparison.Ordinal) ? "an " : "a ") + SaidAs;

    /// <summary>What holds the end in it.</summary>
    public abstract Fastening Fastening { get; }

    /// <summary>Whether it is tightened to a torque.</summary>
    public bool IsTightened => Fastening is Fastening.Screw or Fastening.Nut or Fastening.Bolt;

    /// <summary>Whether it is marked for two conductors (NEC 110.14(A)); one where nothing is marked.</summary>
    public virtual bool TakesTwo { get; init; }

    /// <summary>How far its data can be trusted: read off the device, from its sheet, or generic.</summary>
    public Trust DataTrust { get; init; } = Trust.Marking;

    /// <summary>The temperature its terminals are marked for, °C: 60, 75 or 90; null where nothing is marked.</summary>
    public int? TemperatureC { get; init; }

    /// <summary>
    /// Whether it is marked CO/ALR: screws of receptacles and switches take aluminium only then, and AL or CU-AL is not
    /// enough there (NEC 404.14(C), 406.3(C), from memory).
    /// </summary>
    public bool IsCoAlr { get; init; }

    /// <summary>Whether it can be reached again once the rest is in; null where nobody said.</summary>
    public bool? IsAccessible { get; init; }

    /// <summary>Whether the end can be seen where it seats; null where nobody said.</summary>
    public bool? IsVisible { get; init; }

    /// <summary>The smallest area it takes, mm².</summary>
    public abstract double LeastMm2 { get; }

    /// <summary>The largest area it takes, mm².</summary>
    public abstract double MostMm2 { get; }

    /// <summary>
    /// Whether the smallest size was read off it, or is fixed by what it is; a guess refuses nothing.
    /// </summary>
    public virtual bool IsLeastKnown => true;

    /// <summary>Whether the largest size was read off it, or is fixed by what it is.</summary>
    public virtual bool IsMostKnown => true;

    /// <summary>Where its range is printed: what somebody reads it off.</summary>
    public virtual string RangeIsPrinted => "on the device or its sheet";

    /// <summary>The torque marked on it, if any.</summary>
    public TorqueMarking? TorqueMarking { get; }

    /// <summary>The metals it is marked for; copper where nothing is marked.</summary>
    public IReadOnlySet<Material> Metals { get; }

    /// <summary>
    /// Whether a size is in range: by its area, or by the metric size that it is paired with, since blocks are printed
    /// in pairs such as "2.5 mm² / 14 AWG" although the areas differ.
    /// </summary>
    public bool Takes(ConductorSize size) =>
        TakesByArea(size) || (size.PairedArea >= LeastMm2 && size.PairedArea <= MostMm2);

    /// <summary>Whether the true area is in range.</summary>
    public bool TakesByArea(ConductorSize size)
    {
        // Areas of gauges are irrational; a printed bound is not.
        const double Hair = 1e-9;
        var area = size.Area.SquareMillimetres;
        return area >= LeastMm2 - Hair && area <= MostMm2 + Hair;
    }
}
