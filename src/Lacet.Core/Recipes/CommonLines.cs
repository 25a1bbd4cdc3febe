using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Pull;
using Lacet.Core.Quantities;
using Lacet.Core.Rework;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>Steps and lines that landings share.</summary>
internal static class CommonLines
{
    internal static readonly FormattableString DeadFirst =
        $"Work dead: de-energise, lock, tag, prove dead. Equipment capacitors hold charge.";

    internal static readonly FormattableString CutAway = $"Cut away from the body.";

    internal static readonly FormattableString FindTheMarking = $"Find the marking: the torque shown is only what is usual.";

    internal static readonly FormattableString NeverTin = $"Never tin the strands: solder creeps under pressure, and the joint goes loose.";

    internal static Step ProveDead(EndPlan plan) => new(
        "prove-dead",
        Operation.Check,
        $"Make it dead: switch off every source, lock and tag. Prove it with a contact tester.",
        $"Tester proved on a known live source; every conductor dead to each other and to earth; tester proved again. After a break of more than {plan.Rules.PauseMinutes} min, prove again.");

    internal static Step Strip(EndPlan plan, Window<Length> strip)
    {
        var conductor = plan.Conductor;
        var tool = StripTool.For(conductor);
        FormattableString text = conductor.Build == Build.Solid
            ? (FormattableString)$"Strip {strip:target}. Use a {tool}; push straight off with the thumb, never twist."
            : $"Strip {strip:target}. Use a {tool}; keep the strands’ lay.";
        FormattableString several = plan.Rules.WorkingOrder == WorkingOrder.ByOperation
            ? (FormattableString)$"{text} Several alike: strip all, then prepare all, then land all."
            : $"{text} Several alike: finish each end before the next.";
        return new Step("strip", Operation.Strip, several, conductor.Build == Build.Solid
            ? (FormattableString)$"{strip:range} is bare. No nick, no ring: a solid wire breaks there."
            : $"{strip:range} is bare. {StrandsLost(plan)}");
    }

    /// <summary>How many strands may be lost, by the house's class; a lug loses none at all.</summary>
    internal static FormattableString StrandsLost(EndPlan plan)
    {
        var most = plan.Landing is SetScrewLug or CrimpedLug or Stud ? 0 : StrandLossLimit.For(plan.Conductor, plan.Rules.StrandLoss);
        return most == 0
            ? (FormattableString)$"No strand nicked or cut off."
            : $"At most {most} of {plan.Conductor.Strands} strands nicked or cut off; more, cut back.";
    }

    internal static Step Tighten(EndPlan plan, FormattableString how)
    {
        var window = plan.Torque!.Window;
        return new Step("tighten", Operation.Tighten, how, plan.Rules.TorqueProof == TorqueProof.Measured
            ? (FormattableString)$"The reading lies in {window:range}, or the preset tool clicked."
            : $"By feel, by house rule: it is recorded as unmeasured and found wanting, since {window:range} is asked for.");
    }

    internal static Step Tighten(EndPlan plan) => Tighten(plan, $"Tighten once, smoothly, to {plan.Torque!.Window:target}.");

    /// <summary>The last look, and who looks again.</summary>
    internal static IEnumerable<Step> Check(EndPlan plan, FormattableString text, FormattableString hold)
    {
        FormattableString tug = PullTest.Tug(plan.Conductor.Size) is { } most ? (FormattableString)$"{text} Tug with {most} at most." : text;
        yield return new Step("check", Operation.Check, tug, plan.Rules.ApprenticeWork == ApprenticeWork.CheckedByAnother
            ? (FormattableString)$"{hold} An apprentice’s end is looked at by another person before it is signed for."
            : $"{hold} An apprentice’s ends are looked at in samples.");
        if (plan.Rules.RecheckAfterDays > 0 && plan.Torque is not null)
        {
            yield return new Step(
                "re-check",
                Operation.Check,
                $"Look again after {plan.Rules.RecheckAfterDays} days, by house rule: dead, at the same torque, once.",
                $"It does not turn. Turning a settled screw past its value is no check.");
        }
    }

    internal static FormattableString TorqueTool(EndPlan plan, string bit) =>
        $"torque screwdriver or wrench with {plan.Torque!.Window:target} between 20 % and 100 % of its scale, {bit}";

    /// <summary>A knife is the tool from 4 AWG to 1 AWG, and one of two beyond.</summary>
    internal static bool TakesKnife(Conductor conductor) => StripTool.For(conductor).StartsWith("knife", StringComparison.Ordinal);

    /// <summary>Cautions that the wire, its stripping and its torque bring along.</summary>
    internal static List<FormattableString> Cautions(EndPlan plan, params IEnumerable<FormattableString> own)
    {
        var cautions = new List<FormattableString>(8) { DeadFirst };
        cautions.AddRange(own);
        if (plan.Conductor.Material == Material.Aluminium)
        {
            cautions.Add($"Aluminium: wire-brush the bare metal, coat it with a compound listed for it at once, and use only landings marked for it.");
        }

        if (TakesKnife(plan.Conductor))
        {
            cautions.Add(CutAway);
        }

        if (plan.Torque is { Trust: >= Trust.CommonPractice })
        {
            cautions.Add(FindTheMarking);
        }
        else if (plan.Torque is { Trust: Trust.Standard })
        {
            cautions.Add($"Find the marking: the table’s torque is for lugs that have none.");
        }

        return cautions;
    }

    /// <summary>Which conductor goes where on a device, in the colours of the region, and in which order.</summary>
    internal static IEnumerable<FormattableString> OnDevices(EndPlan plan)
    {
        yield return plan.Rules.Region == Region.NorthAmerica
            ? (FormattableString)$"Hot (black, red, blue) to brass, neutral (white, grey) to silver, earth (green or bare) to green. Colour misleads: prove it with a meter."
            : $"Line brown, black or grey, neutral blue, earth green-yellow. Colour misleads: prove it with a meter.";
        yield return plan.Rules.LandingOrder == LandingOrder.EarthNeutralHot
            ? (FormattableString)$"Land earth first, then neutral, then hot; on disconnecting the reverse."
            : $"Land in the order of the drawing.";
    }

    /// <summary>What a receptacle or switch asks for besides its screws.</summary>
    internal static readonly IReadOnlyList<FormattableString> Receptacle =
    [
        $"Ground-fault devices: the supply on LINE, what is protected downstream on LOAD; press Test and then Reset when it is live again.",
        $"Break-off tabs between the halves: hot and neutral are judged apart; leave both on unless the drawing splits them.",
        $"No earth in the box: a ground-fault device marked “no equipment ground”, or a two-slot receptacle (NEC 406.4(D)). Never tie neutral to the earth screw.",
    ];

    internal static IReadOnlyList<Reason> WithAmpacity(EndPlan plan, IReadOnlyList<Reason> reasons) => plan.Ampacity is { } table
        ?
        [
            .. reasons,
            new Reason(
                "ampacity",
                ReadingName.Fit,
                Trust.Standard,
                table.Source,
                plan.Conductor.Size.System == SizeSystem.Metric
                    ? (FormattableString)$"In machine wiring {plan.Conductor.ToString()} carries {table.Amps:0.#} A."
                    : $"At a terminal good for {table.TemperatureC} °C {plan.Conductor.ToString()} carries {table.Amps:0.#} A, with a breaker of {table.Breaker:0.#} A at most: up to three current-carrying conductors at 30 °C ambient."),
        ]
        : reasons;

    /// <summary>Whether a landing's strip depth was read off or is what is usual.</summary>
    internal static Reason DepthReason(PrintedLanding landing, Window<Length> bare) => landing.StripDepthIsGiven
        ? new("strip-depth", ReadingName.Strip, landing.DataTrust, DataSource(landing), $"The {landing.SaidAs} takes {landing.StripDepth}; a bare end of {bare:range} passes.")
        : new("strip-depth", ReadingName.Strip, Trust.Generic, "typical for the kind (from memory)", $"No strip depth is given: {bare:range} is typical of a {landing.SaidAs}. Read it off the device.");

    /// <summary>Whether a landing's range was read off or is what is usual.</summary>
    internal static Reason RangeReason(EndPlan plan, PrintedLanding landing) => landing.RangeIsGiven
        ? new("size-range", ReadingName.Fit, landing.DataTrust, DataSource(landing), $"The {landing.SaidAs} takes {landing.LeastMm2:0.##} to {landing.MostMm2:0.##} mm²; {plan.Conductor.Size.NameInBoth} is in it.")
        : new("size-range", ReadingName.Fit, Trust.Generic, "typical (from memory)", $"No size range is given: it is taken as {landing.LeastMm2:0.##} to {landing.MostMm2:0.##} mm². Read it off the device.");

    private static string DataSource(Landing landing) => landing.DataTrust switch
    {
        Trust.Marking => "the landing’s printed data",
        Trust.Maker => "the maker’s sheet",
        _ => "typical data from the Shelf",
    };

    /// <summary>What a sample of the crimp holds, where a table has it.</summary>
    internal static IEnumerable<Reason> CrimpReason(EndPlan plan) => PullTest.OfCrimp(plan.Conductor.Size) is { } pull
        ?
        [
            new Reason(
                "crimp-pull-out",
                ReadingName.Prepare,
                Trust.Standard,
                "UL 486A-486B (from memory)",
                $"A sample crimped with this tool and die holds at least {pull} of pull on {plan.Conductor.Size.Name}. Never pull an installed conductor so."),
        ]
        : [];

    /// <summary>Nothing is tightened, and why that is right here.</summary>
    internal static Reason HeldBy(string rule, string source, FormattableString text) =>
        new(rule, ReadingName.Tighten, Trust.Handbook, source, text);
}
