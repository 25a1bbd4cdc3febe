using Lacet.Core.Quantities;

namespace Lacet.Core.PinMaps;

/// <summary>A measurement from a pin, with connector and machine unplugged from everything.</summary>
/// <param name="Pin">Where one probe is.</param>
/// <param name="Terminal">Where the other is.</param>
/// <param name="Expect">What it reads where the map is right.</param>
/// <param name="Elsewhere">What every other terminal reads.</param>
/// <param name="Passed">Whether what was measured passes; null where nobody measured.</param>
public sealed record ContinuityStep(int Pin, string Terminal, string Expect, Term Elsewhere, bool? Passed)
{
    /// <summary>The list of a map, in the order of its pins; empty as long as the key was not seen.</summary>
    public static IReadOnlyList<ContinuityStep> Of(PinMap map) =>
        !map.KeySeen
            ? []
            :
            [
                .. map
                    .Pins.Where(p => p.Terminal.Trim().Length > 0)
                    .OrderBy(p => p.Pin)
                    .Select(p => new ContinuityStep(
                        p.Pin,
                        p.Terminal.Trim(),
                        FormattableString.Invariant($"under {MappedPin.MostOhms:0.#} Ω"),
                        p.Function == PinFunction.Earth
                            ? "the machine’s case under 1 Ω too; every other terminal: no reading"
                            : "the earth: no reading; every other terminal: none, or the winding’s once the motor’s leads are joined; everything still unplugged",
                        p.IsWhole
                    )),
            ];
}
