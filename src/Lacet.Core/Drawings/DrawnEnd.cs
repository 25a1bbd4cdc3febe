using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>An end that is to be drawn in its landing.</summary>
/// <param name="Plan">What was worked out for it.</param>
/// <param name="Length">Bare metal, as measured or as it should be, mm.</param>
/// <param name="Strip">How much should be bare.</param>
/// <param name="Sheet">Where it is drawn.</param>
internal sealed record DrawnEnd(EndPlan Plan, double Length, Window<Length> Strip, Sheet Sheet)
{
    internal Conductor Conductor => Plan.Conductor;

    /// <summary>Half the insulation's outside diameter, mm.</summary>
    internal double Half => Conductor.InsulationOuterDiameter.Millimetres / 2;

    /// <summary>Half the bare conductor's diameter, mm.</summary>
    internal double BareHalf => Conductor.Diameter.Millimetres / 2;

    /// <summary>Draws the bare metal along y = 0, the ferrule on it, and the insulation, which ends at x = 0.</summary>
    internal void Wire()
    {
        Sheet.Parts.AddRange(WirePen.Bare("landed", Conductor, 0, Length));
        if (Plan.Ferrule is { } ferrule)
        {
            FerrulePen.Pin(ferrule, BareHalf, Sheet);
        }

        Sheet.Parts.Add(WirePen.Insulation("landed", Conductor, 0));
        if (Plan.Ferrule is { Collar: not Ferrules.Collar.None } collared)
        {
            FerrulePen.CollarOf(collared, BareHalf, Half, Sheet);
        }
    }
}
