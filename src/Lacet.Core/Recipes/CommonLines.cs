using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>Steps and lines that every landing shares.</summary>
internal static class CommonLines
{
    internal static readonly Step ProveDead = new(
        "prove-dead",
        Operation.Check,
        $"Make it dead: switch off every source, lock and tag. Prove it with a contact tester.",
        $"Tester proved on a known live source; every conductor dead to each other and to earth; tester proved again.");

    internal static readonly FormattableString DeadFirst =
        $"Work dead: de-energise, lock, tag, prove dead. Equipment capacitors hold charge.";

    internal static Step Strip(EndPlan plan, Window<Length> strip)
    {
        var conductor = plan.Conductor;
        var tool = StripTool.For(conductor);
        FormattableString text = conductor.Build == Build.Solid
            ? (FormattableString)$"Strip {strip:target}. Use a {tool}; push straight off with the thumb, never twist."
            : $"Strip {strip:target}. Use a {tool}; keep the strands’ lay.";
        FormattableString hold = conductor.Build == Build.Solid
            ? (FormattableString)$"{strip:range} is bare. No nick, no ring: a solid wire breaks there."
            : $"{strip:range} is bare. No strand nicked or cut off.";
        return new Step("strip", Operation.Strip, text, hold);
    }

    internal static Step Tighten(EndPlan plan, FormattableString how)
    {
        var window = plan.Torque.Window;
        return new Step("tighten", Operation.Tighten, how, $"The reading lies in {window:range}, or the preset tool clicked.");
    }

    internal static FormattableString TorqueTool(EndPlan plan, string bit) =>
        $"torque screwdriver or wrench with {plan.Torque.Window:target} between 20 % and 100 % of its scale, {bit}";

    /// <summary>A knife is the tool from 4 AWG to 1 AWG, and one of two beyond.</summary>
    internal static bool TakesKnife(Conductor conductor) => StripTool.For(conductor).StartsWith("knife", StringComparison.Ordinal);

    internal static readonly FormattableString CutAway = $"Cut away from the body.";
}
