using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a straight or ferruled end in a screw-clamp terminal block.</summary>
internal static class ScrewClampBlockPage
{
    internal static Page Write(EndPlan plan, ScrewClampBlock block)
    {
        var bare = StripDepth.Window(block.StripDepth);
        var strip = plan.Ferrule?.Strip ?? bare;
        return new Page(
            strip,
            new Preparation(plan.Ferrule is null ? PreparationKind.Straight : PreparationKind.Ferrule, null),
            Tools(plan),
            Steps(plan, strip),
            Cautions(plan),
            Reasons(plan, block, bare),
            Alternatives(plan, block, bare));
    }

    private static List<FormattableString> Tools(EndPlan plan)
    {
        var tools = new List<FormattableString>(3) { $"{StripTool.For(plan.Conductor)}" };
        if (plan.Ferrule is { } ferrule)
        {
            tools.Add($"ferrule crimper for {ferrule.Size}, square or trapezoid, with a ratchet");
        }

        tools.Add(CommonLines.TorqueTool(plan, "bit that fills the slot"));
        return tools;
    }

    private static List<Step> Steps(EndPlan plan, Window<Length> strip)
    {
        var steps = new List<Step>(7) { CommonLines.ProveDead, CommonLines.Strip(plan, strip) };
        if (plan.Ferrule is { } ferrule)
        {
            var colour = ferrule.Colour is { } name ? $"{name} " : "";
            steps.Add(new Step(
                "slide-ferrule",
                Operation.Prepare,
                ferrule.Collar == Collar.None
                    ? (FormattableString)$"Slide on the {ferrule.Size} sleeve, {ferrule.Pin} long; leave the strands’ lay, do not twist."
                    : $"Slide on the {colour}{ferrule.Size} ferrule, pin {ferrule.Pin}, until the insulation stops in the collar; leave the strands’ lay, do not twist.",
                $"Every strand is inside, and the ends show 0 to 1 mm past the pin."));
            steps.Add(new Step(
                "crimp-ferrule",
                Operation.Crimp,
                $"Crimp in the {ferrule.Size} nest, the pin in to its collar; finish the stroke until the ratchet lets go.",
                $"The ferrule does not turn or slide on the wire."));
        }

        steps.Add(new Step(
            "land-straight",
            Operation.Land,
            plan.Ferrule is null
                ? (FormattableString)$"Open the clamp fully. Push the straight end in until it stops."
                : $"Open the clamp fully. Push the pin in until the collar meets the block.",
            plan.Ferrule is null
                ? (FormattableString)$"It lies inside the cage, not beside it; no bare metal shows, no insulation is in the clamp."
                : $"It lies inside the cage, not beside it; no metal of the pin shows."));
        steps.Add(CommonLines.Tighten(plan, $"Tighten once, smoothly, to {plan.Torque.Window:target}."));
        steps.Add(new Step(
            "check",
            Operation.Check,
            $"Tug the wire by hand, straight back; look at the entry.",
            $"It does not move, and nothing bare or stray shows."));
        return steps;
    }

    private static List<FormattableString> Cautions(EndPlan plan)
    {
        var cautions = new List<FormattableString>(5)
        {
            CommonLines.DeadFirst,
            $"One wire in the clamp, never two unless the block is marked for two (NEC 110.14(A)).",
        };
        if (plan.Ferrule is { Colour: { } colour } ferrule)
        {
            cautions.Add($"Read the size, not the colour: {colour} means {ferrule.Size.SquareMillimetres:0.##} mm² in {FerruleChoice.Say(ferrule.Series)} only, and says nothing about the wire.");
        }
        else if (plan.Conductor.Build != Build.Solid)
        {
            cautions.Add($"Never tin the strands for a screw clamp: solder creeps, and the joint goes loose.");
        }

        if (CommonLines.TakesKnife(plan.Conductor))
        {
            cautions.Add(CommonLines.CutAway);
        }

        if (plan.Torque.Trust == Trust.CommonPractice)
        {
            cautions.Add($"Find the marking: the torque shown is only what is usual.");
        }

        return cautions;
    }

    private static List<Reason> Reasons(EndPlan plan, ScrewClampBlock block, Window<Length> bare)
    {
        var reasons = new List<Reason>(8)
        {
            block.StripDepthIsGiven
                ? new("strip-depth", ReadingName.Strip, Trust.Marking, "the block’s printed data", $"The block takes {block.StripDepth}; a bare end of {bare:range} passes.")
                : new("strip-depth", ReadingName.Strip, Trust.Generic, "typical for the size (from memory)", $"No strip depth is given: {block.StripDepth} is typical of blocks up to {new Area(block.MostMm2)}. Read it off the block."),
            block.RangeIsGiven
                ? new("size-range", ReadingName.Fit, Trust.Marking, "the block’s printed data", $"The block takes {block.LeastMm2:0.##} to {block.MostMm2:0.##} mm²; {plan.Conductor.Size.NameInBoth} is in it.")
                : new("size-range", ReadingName.Fit, Trust.Generic, "typical (from memory)", $"No size range is given: it is taken as {block.LeastMm2:0.##} to {block.MostMm2:0.##} mm². Read it off the block."),
        };
        AddFerrule(reasons, plan, block);
        reasons.Add(plan.Torque.Reason);
        return reasons;
    }

    private static void AddFerrule(List<Reason> reasons, EndPlan plan, ScrewClampBlock block)
    {
        if (plan.Ferrule is not { } ferrule)
        {
            if (plan.Conductor.Build != Build.Solid)
            {
                reasons.Add(new("ferrule-none", ReadingName.Prepare, Trust.Handbook, "the block’s data and the house rule", block.Ferrule switch
                {
                    FerruleAcceptance.Forbidden => $"The block takes no ferrules.",
                    _ => $"The block allows a ferrule and does not ask for one; {Conductor.Say(plan.Conductor.Build)} wire goes in bare.",
                }));
            }

            return;
        }

        reasons.Add(new(
            "ferrule-why",
            ReadingName.Prepare,
            block.Ferrule == FerruleAcceptance.Required ? Trust.Marking : Trust.Handbook,
            block.Ferrule == FerruleAcceptance.Required ? "the block’s data" : "house rule: ferrules on fine strands; NEC 110.14, UL 486F (from memory)",
            block.Ferrule == FerruleAcceptance.Required
                ? (FormattableString)$"The block asks for a ferrule on stranded wire."
                : $"Fine strands get a ferrule wherever the block allows one: bare they splay, and go only where the block is identified for them."));
        reasons.Add(new(
            "ferrule-size",
            ReadingName.Prepare,
            Trust.Standard,
            FerruleChoice.Source,
            $"{ferrule.Size.SquareMillimetres:0.##} mm² is the smallest ferrule of at least nine tenths of {plan.Conductor.Size.Name}’s {plan.Conductor.Size.Area.SquareMillimetres:0.##} mm²."));
        reasons.Add(new(
            "ferrule-pin",
            ReadingName.Strip,
            Trust.Standard,
            "DIN 46228-4 pin lengths (from memory); collar entry as makers usually have it, the maker’s data rules",
            ferrule.Collar == Collar.None
                ? (FormattableString)$"The sleeve is {ferrule.Pin} long and goes into a depth of {block.StripDepth}; the strip is the sleeve’s length and up to 1 mm more."
                : $"The pin is {ferrule.Pin}, the longest that goes into {block.StripDepth} whole; with {ferrule.Entry} inside the collar the strip is {ferrule.Strip:target}."));
        if (ferrule.CollarBore is { } bore)
        {
            reasons.Add(new(
                "ferrule-collar",
                ReadingName.Prepare,
                Trust.Standard,
                "DIN 46228-4 bores (from memory)",
                ferrule.Collar == Collar.Standard
                    ? (FormattableString)$"The insulation, {plan.Conductor.InsulationOuterDiameter}, enters the standard collar of {bore}."
                    : $"The insulation, {plan.Conductor.InsulationOuterDiameter}, does not enter the standard collar of {bore}: take the large-collar type, and try it on the wire."));
            reasons.Add(plan.Conductor.InsulationReason());
        }
    }

    private static IReadOnlyList<Alternative> Alternatives(EndPlan plan, ScrewClampBlock block, Window<Length> bare) =>
        (plan.Ferrule, plan.PossibleFerrule) switch
        {
            (null, { PinFits: true } possible) =>
            [
                new Alternative(
                    PreparationKind.Ferrule,
                    possible.Strip,
                    $"With a ferrule: {possible.Size}, pin {possible.Pin}, strip {possible.Strip:target}."),
            ],
            ({ }, _) when block.Ferrule == FerruleAcceptance.Allowed =>
            [
                new Alternative(
                    PreparationKind.Straight,
                    bare,
                    $"Bare, where the block is identified for such strands: strip {bare:target}."),
            ],
            _ => [],
        };
}
