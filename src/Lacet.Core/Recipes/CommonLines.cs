using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Pull;
using Lacet.Core.Quantities;
using Lacet.Core.Rework;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>Steps and lines that landings share.</summary>
internal static partial class CommonLines
{
    /// <summary>The step in which it is made dead, which is once for all that is in an enclosure.</summary>
    internal const string ProveDeadStep = "prove-dead";

    internal static readonly FormattableString CutAway = $"Cut away from the body.";
    internal static readonly FormattableString NeverTin =
        $"Never tin the strands: solder creeps under pressure, and the joint goes loose.";

    /// <summary>From so many strands on, nobody counts what was lost.</summary>
    private const int MostCounted = 60;

    /// <summary>Up to so much a screwdriver reaches, beyond it a wrench (common practice).</summary>
    private static readonly Torque MostByScrewdriver = new(6);

    /// <summary>
    /// Once an enclosure and session: how what is worked on is made dead. Nothing where nothing is connected.
    /// </summary>
    internal static IEnumerable<Step> ProveDead(EndPlan plan)
    {
        var isolation = plan.AtHand.Isolation
            ?? (
                plan.Landing switch
                {
                    PlugScrew or SolderLug => Isolation.Cord,
                    DeepPushIn => Isolation.Machine,
                    _ => Isolation.Building,
                }
            );
        if (isolation == Isolation.None)
        {
            yield break;
        }

        FormattableString text = isolation switch
        {
            Isolation.Cord => $"Unplug it, and keep the plug in your sight.",
            Isolation.Transformer => $"Switch the lighting’s transformer off, and unplug it.",
            Isolation.Machine =>
                $"Make it dead: switch off, lock and tag every source. Wait for stored energy, discharge it, and measure.",
            _ => $"Make it dead: switch off every source, lock and tag. Prove it with a contact tester.",
        };
        FormattableString hold = isolation switch
        {
            Isolation.Cord => $"The plug lies where you see it: nobody can put it in.",
            Isolation.Transformer => $"No lamp is lit, and the plug lies where you see it.",
            _ =>
                $"Tester proved on a known live source; every conductor dead to each other and to earth; tester proved again. After {plan.Rules.PauseMinutes} min away, prove again.",
        };
        yield return new Step(ProveDeadStep, Operation.Check, text, hold);
    }

    /// <summary>What must be on the wire before its end is made: it cannot be slid on afterwards.</summary>
    internal static Step SlideOnFirst(FormattableString what) =>
        new("slide-on-first", Operation.Prepare, what, $"It is on the wire, the right way round.");

    internal static Step SlideOnFirst() =>
        SlideOnFirst($"Slide on first what cannot go on later: marker, heat-shrink, boot.");

    /// <summary>The strip, and for aluminium what has to follow it at once.</summary>
    internal static IEnumerable<Step> Strip(EndPlan plan, Window<Length> strip, bool twists = false)
    {
        var conductor = plan.Conductor;
        var kind = plan.AtHand.StrippingTool ?? StripTool.KindFor(conductor);
        yield return new Step(
            "strip",
            Operation.Strip,
            How(plan, kind, strip, twists),
            conductor.Build == Build.Solid
                ? (FormattableString)$"{strip:range} is bare. No nick, no ring: a solid wire breaks there."
                : $"{strip:range} is bare. {StrandsLost(plan)}"
        );
        if (plan.AtHand.Alike > 1)
        {
            yield return new Step(
                "alike",
                Operation.Strip,
                plan.Rules.WorkingOrder == WorkingOrder.ByOperation
                    ? (FormattableString)$"{plan.AtHand.Alike} alike: strip all, then prepare all, then land all."
                    : $"{plan.AtHand.Alike} alike: finish each end before the next.",
                null
            );
        }

        if (conductor.Material == Material.Aluminium)
        {
            yield return new Step(
                "brush-aluminium",
                Operation.Prepare,
                $"Brush the bare aluminium bright, and coat it with a compound that is listed for it.",
                $"Bright all round, and coated at once: its oxide comes back in seconds."
            );
        }
    }

    /// <summary>How many strands may be lost, by the house's class; a lug and a screw lose none at all.</summary>
    internal static FormattableString StrandsLost(EndPlan plan)
    {
        var (strands, rule) = (plan.Conductor.Strands, plan.Rules.StrandLoss);
        var most = plan.Landing is SetScrewLug or CrimpedLug or Stud or BindingScrew or PlugScrew
            ? 0
            : StrandLossLimit.For(plan.Conductor, rule);
        return most == 0 ? (FormattableString)$"No strand nicked or cut off."
            : strands > MostCounted
                ? (FormattableString)
                    $"A few strands nicked or cut off pass, under {StrandLossLimit.PercentFor(strands, rule)} %; more, cut back."
            : $"At most {most} of {strands} strands nicked or cut off; more, cut back.";
    }

    /// <summary>The hole is looked into before anything goes in.</summary>
    internal static Step LookIn(FormattableString open) =>
        new(
            "look-in",
            Operation.Check,
            $"Look into the hole, and {open}.",
            $"Clean and bright in there, no old strand left."
        );

    /// <summary>The tightening, and the mark that shows later whether it moved.</summary>
    internal static IEnumerable<Step> Tighten(EndPlan plan)
    {
        if (plan.Torque is not { Window: var window })
        {
            yield break;
        }

        yield return new Step(
            "tighten",
            Operation.Tighten,
            $"Tighten once, smoothly, to {window:target}.",
            plan.Rules.TorqueProof == TorqueProof.Measured
                ? (FormattableString)$"The reading lies in {window:range}, or the preset tool clicked."
                : $"By feel, by house rule: recorded as unmeasured and out of tolerance, since {window:range} is asked for."
        );
        yield return new Step(
            "witness-mark",
            Operation.Check,
            $"Draw a witness mark across the screw and what it sits in.",
            $"The mark is unbroken: later it shows whether the screw moved."
        );
    }

    /// <summary>The last look, and who looks again.</summary>
    internal static IEnumerable<Step> Check(EndPlan plan, FormattableString look, FormattableString hold)
    {
        var byAnother = plan.AtHand.ByApprentice;
        yield return new Step(
            "check",
            Operation.Check,
            PullTest.Tug(plan.Conductor.Size) is { } most
                ? (FormattableString)$"Tug it straight back, no more than {most}. {look}"
                : $"Tug it straight back by hand. {look}",
            !byAnother ? hold
                : plan.Rules.ApprenticeWork == ApprenticeWork.CheckedByAnother
                    ? (FormattableString)$"{hold} Another person looks at it before it is signed for."
                : $"{hold} One in a few is looked at by another person."
        );
        yield return new Step(
            "dress",
            Operation.Prepare,
            Dress(plan),
            $"Nothing pulls on it, its label can be read, and the next landing can be reached."
        );
        if (plan.Rules.RecheckAfterDays > 0 && plan.Torque is not null)
        {
            yield return new Step(
                "re-check",
                Operation.Check,
                $"Look again after {plan.Rules.RecheckAfterDays} days, by house rule: dead, at the same torque, once.",
                $"It does not turn. Turning a settled screw past its value is no check."
            );
        }
    }

    internal static FormattableString TorqueTool(EndPlan plan, string bit)
    {
        var target = plan.Torque!.Window.Target;
        // Used between a fifth and the whole of its scale.
        var scale = new Window<Torque>(target, target, target * 5);
        var tool = target <= MostByScrewdriver ? "torque screwdriver" : "torque wrench";
        return $"{tool}, full scale {scale:range}, {bit}";
    }
}
