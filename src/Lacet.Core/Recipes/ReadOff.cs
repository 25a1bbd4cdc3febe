using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Torques;

namespace Lacet.Core.Recipes;

/// <summary>
/// A reading that rests on a usual value: what to read off the device, and where it is printed. Said once, beside that
/// reading.
/// </summary>
/// <param name="Reading">The reading that it is about.</param>
/// <param name="What">What to read.</param>
/// <param name="Where">Where it is printed.</param>
public sealed record ReadOff(ReadingName Reading, string What, string Where)
{
    /// <summary>What is to be read off for a plan; empty where everything was.</summary>
    internal static IEnumerable<ReadOff> Of(EndPlan plan)
    {
        var landing = plan.Landing;
        if (Strip(landing) is { } strip)
        {
            yield return strip;
        }

        if (landing is CrimpedLug)
        {
            yield return new(
                ReadingName.Prepare,
                "how many crimps, and which die",
                "on the lug’s sheet; the die’s number is on the barrel"
            );
        }

        if (landing is Stud { DiameterIsGiven: false })
        {
            yield return new(ReadingName.Prepare, "the stud’s size", "by its thread");
        }

        // A torque from a table stands for one that is not marked; a window that rests on a finding is said there.
        if (plan.Torque is { Trust: >= Trust.Standard, Reason.Rule: not TorqueChoice.SmallConductor })
        {
            yield return new(ReadingName.Tighten, "the torque", Torque(landing));
        }

        if (
            landing is (PrintedLanding or SetScrewLug or InsulationDisplacement)
            && !(landing.IsLeastKnown && landing.IsMostKnown)
            && landing.Takes(plan.Conductor.Size)
        )
        {
            yield return new(
                ReadingName.Fit,
                landing is InsulationDisplacement ? "size and insulation" : "the size range",
                landing.RangeIsPrinted
            );
        }
    }

    private static ReadOff? Strip(Landing landing) =>
        landing switch
        {
            BindingScrew { ScrewIsGiven: false } => new(
                ReadingName.Strip,
                "the screw’s size",
                "by trying #6, #8 and #10 on it"
            ),
            PlugScrew { ScrewIsGiven: false, Grip: PlugGrip.Hook } => new(
                ReadingName.Strip,
                "the screw’s size",
                "by trying #6, #8 and #10 on it"
            ),
            PlugScrew { Grip: PlugGrip.Clamp } => new(
                ReadingName.Strip,
                "the strip length",
                "inside the plug: lay the wire on its plate"
            ),
            BackWireClamp or BackStab when !IsRead((PrintedLanding)landing) => new(
                ReadingName.Strip,
                "the strip length",
                "on the strip gauge moulded in the back"
            ),
            DeepPushIn printed when !IsRead(printed) => new(
                ReadingName.Strip,
                "the strip length",
                "on the label by the terminals or the machine’s sheet"
            ),
            PrintedLanding printed when !IsRead(printed) => new(
                ReadingName.Strip,
                "the strip length",
                "on its side or its sheet"
            ),
            Stud { BarrelDepth: null } => new(
                ReadingName.Strip,
                "the barrel’s depth",
                "by laying the terminal beside the wire"
            ),
            SetScrewLug { BarrelDepth: null } or CrimpedLug { BarrelDepth: null } => new(
                ReadingName.Strip,
                "the barrel’s depth",
                "by measuring it"
            ),
            _ => null,
        };

    private static bool IsRead(PrintedLanding landing) =>
        landing.StripDepthIsGiven && landing.DataTrust != Trust.Generic;

    private static string Torque(Landing landing) =>
        landing switch
        {
            BindingScrew or BackWireClamp => "on the strap, the box or the sheet",
            PlugScrew => "inside the plug or on its sheet",
            SetScrewLug => "on the label inside the panel, or on the lug",
            CrimpedLug => "on the equipment’s label",
            Stud => "beside the studs or on the sheet",
            _ => "on the block’s side or its sheet",
        };
}
