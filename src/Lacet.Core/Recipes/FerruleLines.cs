using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>What a ferrule adds to a recipe, in every landing that takes one.</summary>
internal static class FerruleLines
{
    /// <summary>What crimps the ferrule; nothing without one.</summary>
    internal static IEnumerable<FormattableString> Tools(EndPlan plan)
    {
        if (plan.Ferrule is { } ferrule)
        {
            yield return ferrule.Collar == Collar.None
                ? (FormattableString)$"hydraulic or long-handled crimper for {ferrule.SaySize()} sleeves"
                : $"ferrule crimper for {ferrule.SaySize()}, square or trapezoid, with a ratchet, never a stripper’s jaws; front-loading where the side is blocked";
        }
    }

    /// <summary>What must be on the wire before its ferrule.</summary>
    internal static IEnumerable<Step> SlideOnFirst(EndPlan plan) =>
        plan.Ferrule is null ? [] : [CommonLines.SlideOnFirst()];

    internal static IEnumerable<Step> Steps(EndPlan plan)
    {
        if (plan.Ferrule is not { } ferrule)
        {
            yield break;
        }

        var colour = ferrule.Colour is { } name ? $"{name} " : "";
        var lay =
            plan.Rules.StrandsBeforeFerrule == StrandsBeforeFerrule.LeaveLay
                ? "leave the strands’ lay, do not twist"
                : "give the strands a slight twist with their lay";
        var trim = plan.Rules.StripForFerrules == StripForFerrules.LongThenTrim;
        var both = ferrule.Twin ? "Both ends side by side: slide" : "Slide";
        yield return new Step(
            "slide-ferrule",
            Operation.Prepare,
            ferrule.Collar == Collar.None
                ? (FormattableString)
                    $"Slide on the {ferrule.SaySize()} sleeve, {ferrule.Pin:mm} long, as the clamp is deep, up to the insulation; {lay}."
                : $"{both} on the {colour}{ferrule.SaySize()} ferrule, pin {ferrule.Pin:mm}, until the insulation stops in the collar; {lay}.",
            trim
                ? (FormattableString)$"Every strand is inside, and the ends stand out past the pin."
                : $"Every strand is inside, and the ends show 0 to 1 mm past the pin."
        );
        yield return new Step(
            "crimp-ferrule",
            Operation.Crimp,
            ferrule.Collar == Collar.None
                ? (FormattableString)
                    $"Crimp the sleeve on the strands along its whole length, with a hydraulic or long-handled tool."
                : $"Crimp in the {ferrule.SaySize()} nest, the pin on the strands, in to its collar; finish the stroke until the ratchet lets go.",
            $"It does not turn or slide on the wire."
        );
        if (trim)
        {
            yield return new Step(
                "trim-strands",
                Operation.Prepare,
                $"Trim the strands flush with the pin, with a cutter; eye protection.",
                $"Strands only: a pin that is trimmed too, never below 6 mm or the clamp’s depth, has lost its listing."
            );
        }
    }

    /// <summary>How an end with or without a ferrule is put into a clamp.</summary>
    internal static FormattableString Push(EndPlan plan) =>
        plan.Ferrule switch
        {
            null => $"Push the straight end in until it stops.",
            { Collar: Collar.None } => $"Push the sleeve in until the insulation meets the block.",
            _ => (FormattableString)$"Push the pin in until the collar meets the block.",
        };

    /// <summary>Read the size, not the colour; and what applies to strands without a ferrule.</summary>
    internal static IEnumerable<FormattableString> Cautions(EndPlan plan)
    {
        if (plan.Ferrule is { Colour: { } colour } ferrule)
        {
            yield return $"Read the size, not the colour: {colour} means {ferrule.Size.SquareMillimetres:0.##} mm² in {FerruleChoice.Say(ferrule.Series)} only, and says nothing about the wire.";
        }
        else if (plan.Conductor.Build != Build.Solid)
        {
            yield return CommonLines.NeverTin;
        }

        if (plan.Landing is PrintedLanding { FerruleIsGiven: false } && plan.Conductor.Build == Build.FineStranded)
        {
            yield return $"Nobody read what the landing says of ferrules: some forbid one. Read its sheet.";
        }
    }

    internal static IEnumerable<Reason> Reasons(EndPlan plan, PrintedLanding landing)
    {
        if (plan.Ferrule is { } ferrule)
        {
            return
            [
                .. SizeReasons(ferrule, plan, landing),
                .. PinReasons(ferrule, plan, landing),
                .. CollarReasons(ferrule, plan),
            ];
        }

        return plan.Conductor.Build == Build.Solid
            ? []
            :
            [
                new(
                    "ferrule-none",
                    ReadingName.Prepare,
                    Trust.Handbook,
                    "the landing’s data and the house rule",
                    landing.Ferrule switch
                    {
                        FerruleAcceptance.Forbidden => $"The {landing.SaidAs} takes no ferrules.",
                        FerruleAcceptance.Unnecessary =>
                            $"The {landing.SaidAs} holds bare strands; it takes a ferrule and needs none.",
                        _ =>
                            $"The {landing.SaidAs} allows a ferrule and does not ask for one; {Conductor.Say(plan.Conductor.Build)} wire goes in bare.",
                    }
                ),
            ];
    }

    private static IEnumerable<Reason> SizeReasons(FerruleChoice ferrule, EndPlan plan, PrintedLanding landing)
    {
        var asked = landing.Ferrule == FerruleAcceptance.Required;
        yield return new(
            "ferrule-why",
            ReadingName.Prepare,
            asked ? Trust.Marking : Trust.Handbook,
            asked ? "the landing’s data" : "house rule: ferrules on fine strands; NEC 110.14, UL 486F (from memory)",
            ferrule.Twin
                    ? $"Two conductors in one opening get one twin ferrule: two single ones side by side do not seat."
                : asked ? (FormattableString)$"The {landing.SaidAs} asks for a ferrule on stranded wire."
                : $"Fine strands get a ferrule wherever the landing allows one: bare they splay, and go only where the landing is identified for them."
        );
        yield return ferrule.ByLabel
            ? new(
                "ferrule-size",
                ReadingName.Prepare,
                Trust.Maker,
                "the kit’s own label",
                $"The kit’s label gives {ferrule.Size.SquareMillimetres:0.##} mm² for this wire, and the label rules."
            )
            : new(
                "ferrule-size",
                ReadingName.Prepare,
                Trust.Standard,
                FerruleChoice.Source,
                $"{ferrule.Size.SquareMillimetres:0.##} mm² is the smallest ferrule that takes {plan.Conductor.Size.Name}: at least nine tenths of its {plan.Conductor.Size.Area.SquareMillimetres:0.##} mm²."
            );
    }

    private static IEnumerable<Reason> PinReasons(FerruleChoice ferrule, EndPlan plan, PrintedLanding landing)
    {
        yield return new(
            "ferrule-pin",
            ReadingName.Strip,
            ferrule.Twin ? Trust.Handbook : Trust.Standard,
            "DIN 46228-4 pin lengths (from memory); collar entry as makers usually have it, the maker’s data rules",
            ferrule.Collar == Collar.None
                ? (FormattableString)
                    $"The sleeve is {ferrule.Pin:mm} long and goes into a depth of {landing.StripDepth:mm}; the strip is the sleeve’s length and up to 1 mm more."
                : $"The pin is {ferrule.Pin:mm}, the longest that goes into {landing.StripDepth:mm} whole; with {ferrule.Entry:mm} inside the collar the strip is {ferrule.Strip:target}."
        );
        if (plan.Rules.StripForFerrules == StripForFerrules.LongThenTrim)
        {
            yield return new(
                "ferrule-strip-long",
                ReadingName.Strip,
                Trust.Handbook,
                "house rule",
                $"House rule: strip long and trim, so {ferrule.StripToTrim:range} instead of {ferrule.Strip:range}."
            );
        }
    }

    private static IEnumerable<Reason> CollarReasons(FerruleChoice ferrule, EndPlan plan)
    {
        if (ferrule.CollarBore is { } bore)
        {
            yield return new(
                "ferrule-collar",
                ReadingName.Prepare,
                Trust.Standard,
                "DIN 46228-4 bores (from memory)",
                ferrule.Collar == Collar.Standard
                    ? (FormattableString)
                        $"The insulation, {plan.Conductor.InsulationOuterDiameter:mm}, enters the standard collar of {bore:mm}."
                    : $"The insulation, {plan.Conductor.InsulationOuterDiameter:mm}, does not enter the standard collar of {bore:mm}: take the large-collar type, and try it on the wire."
            );
            yield return plan.Conductor.InsulationReason();
        }
    }

    internal static IReadOnlyList<Alternative> Alternatives(
        EndPlan plan,
        PrintedLanding landing,
        Window<Length> bare
    ) =>
        (plan.Ferrule, plan.PossibleFerrule) switch
        {
            (null, { PinFits: true } possible) =>
            [
                new Alternative(
                    PreparationKind.Ferrule,
                    possible.Strip,
                    $"With a ferrule: {possible.SaySize()}, pin {possible.Pin:mm}, strip {possible.Strip:target}."
                ),
            ],
            ({ Twin: false }, _) when landing.Ferrule != FerruleAcceptance.Required =>
            [
                new Alternative(
                    PreparationKind.Straight,
                    bare,
                    $"Bare, where the landing is identified for such strands: strip {bare:target}."
                ),
            ],
            _ => [],
        };
}
