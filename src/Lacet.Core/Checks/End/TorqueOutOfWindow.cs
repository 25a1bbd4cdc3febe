using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A reading or a tool setting against its window.</summary>
public sealed class TorqueOutOfWindow : IMadeCheck
{
    private static readonly string[] RestsOn = ["asMade.tightening", "recipe.torque"];

    /// <inheritdoc/>
    public string Id => "torque-out-of-window";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end)
    {
        if (end.Torque is not { } window)
        {
            return null;
        }

        return end.Made.Tightening switch
        {
            Tightening.Reading reading => Judge(window, reading.Peak, "Tightened to"),
            Tightening.Preset preset => Judge(window, preset.Setting, "The tool was set to"),
            _ => null,
        };
    }

    private Finding? Judge(Window<Torque> window, Torque torque, string what) =>
        window.Judge(torque) switch
        {
            Judgement.Short => new Finding(
                Id,
                Severity.Fix,
                $"{what} {torque}, short of {window:least}: a loose joint heats.",
                $"Tighten on to {window:target}, once and smoothly.",
                "NEC 110.14(D) (from memory)",
                RestsOn
            ),
            Judgement.Long => new Finding(
                Id,
                Severity.Fix,
                $"{what} {torque}, over {window:most}: thread, clamp or strands may have yielded.",
                $"Open it, look at thread and strands, cut back and land again.",
                "NEC 110.14(D) (from memory)",
                RestsOn
            ),
            _ => null,
        };
}
