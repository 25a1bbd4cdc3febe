using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Hooks;

/// <summary>
/// The hook that a conductor makes under a binding screw's head. All lengths in millimetres, angles in degrees, and the
/// lead is measured from the insulation to where the bend begins. Geometry; the 0 to 2 mm of bare metal and the 240° to
/// 300° are common practice.
/// </summary>
public sealed record HookGeometry
{
    /// <summary>Room between thread and wire, mm.</summary>
    private const double Clearance = 0.3;

    private const double MostBareShowing = 2;

    /// <summary>Computes the hook of a conductor under a screw.</summary>
    public HookGeometry(Conductor conductor, ScrewSize screw)
    {
        var d = conductor.Diameter.Millimetres;
        WireDiameter = d;
        Radius = (screw.MajorDiameter + Clearance + d) / 2;
        HeadRadius = screw.HeadDiameter / 2;
        HeadCoversWire = HeadRadius > Radius;

        // Where the head's edge crosses the wire's axis, and where it crosses the insulation's inner corner.
        EdgeOnAxis = Chord(Radius);
        var edgeOnInsulation = Chord(Math.Max(0, Radius - (conductor.InsulationOuterDiameter.Millimetres / 2)));
        LeadLeast = Math.Max(EdgeOnAxis, edgeOnInsulation);
        LeadTarget = Math.Max(EdgeOnAxis + 1, edgeOnInsulation);
        InsulationClears = LeadLeast <= EdgeOnAxis + MostBareShowing;
        LeadMost = Math.Max(EdgeOnAxis + MostBareShowing, LeadTarget);

        AngleMost = Math.Min(300, 360 - Degrees(Math.Acos(Math.Clamp(1 - (d / Radius), -1, 1))));
        AngleLeast = Math.Min(240, AngleMost);
        AngleTarget = Math.Min(270, AngleMost);
        Strip = new(
            new(ArcLength(AngleTarget) + LeadTarget),
            new(ArcLength(AngleLeast) + LeadLeast),
            new(ArcLength(AngleMost) + LeadMost)
        );
    }

    /// <summary>Diameter of the bare conductor.</summary>
    public double WireDiameter { get; }

    /// <summary>The wire's neutral-axis radius round the screw.</summary>
    public double Radius { get; }

    /// <summary>Half the head's diameter.</summary>
    public double HeadRadius { get; }

    /// <summary>Whether the head reaches past the wire's axis: a thicker wire would be pushed out.</summary>
    public bool HeadCoversWire { get; }

    /// <summary>Whether the insulation clears the head with at most 2 mm of bare metal showing.</summary>
    public bool InsulationClears { get; }

    /// <summary>Along the lead, from where the bend begins to the head's edge.</summary>
    public double EdgeOnAxis { get; }

    /// <summary>Straight bare wire before the bend, at the target.</summary>
    public double LeadTarget { get; }

    /// <summary>The least lead: no insulation under the head.</summary>
    public double LeadLeast { get; }

    /// <summary>The most lead: 2 mm of bare metal past the head's edge.</summary>
    public double LeadMost { get; }

    /// <summary>How far the hook goes round, at the target.</summary>
    public double AngleTarget { get; }

    /// <summary>The least that holds: two thirds of a turn.</summary>
    public double AngleLeast { get; }

    /// <summary>The most: there the tip meets the lead, and 300° at the outside.</summary>
    public double AngleMost { get; }

    /// <summary>The strip length.</summary>
    public Window<Length> Strip { get; }

    /// <summary>Length of wire in a bend of so many degrees, along the neutral axis.</summary>
    public double ArcLength(double degrees) => 2 * Math.PI * Radius * degrees / 360;

    /// <summary>Where the wire of an eye bends, from the insulation (common practice).</summary>
    public static Length EyeLead { get; } = Length.FromInches(3.0 / 16);

    /// <summary>
    /// Strip length of a closed eye: its lead, a quarter bend of neutral radius 1.5 d, and 320° round the screw; a flat
    /// eye closes at 312° to 332° (common practice).
    /// </summary>
    public Window<Length> EyeStrip => new(Eye(320), Eye(312), Eye(332));

    private Length Eye(double degrees) => EyeLead + new Length((Math.PI / 2 * 1.5 * WireDiameter) + ArcLength(degrees));

    private double Chord(double offset) =>
        offset < HeadRadius ? Math.Sqrt((HeadRadius * HeadRadius) - (offset * offset)) : 0;

    private static double Degrees(double radians) => radians * 180 / Math.PI;
}
