namespace Lacet.Core.PinMaps;

/// <summary>A pin of the controller's connector and the machine's terminal that it leads to.</summary>
/// <param name="Pin">Its number, counted from the key.</param>
/// <param name="Function">What it is for.</param>
/// <param name="Terminal">The terminal; empty where nobody said.</param>
/// <param name="Colour">The lead's colour, noted and never used to match; empty where nobody said.</param>
/// <param name="Ohms">What was read from the pin to its terminal; null where no number was. Infinite is an open
/// way.</param>
public sealed record MappedPin(int Pin, PinFunction Function, string Terminal, string Colour = "", double? Ohms = null)
{
    /// <summary>A way that is whole reads less than this, Ω, its probes' own taken off (common practice).</summary>
    public const double MostOhms = 1;

    /// <summary>
    /// Whether the meter was heard and not read: it sounds where the way is whole, and tells no number.
    /// </summary>
    public bool Heard { get; init; }

    /// <summary>Whether its way is whole; null where nobody measured. A number outweighs a sound.</summary>
    public bool? IsWhole =>
        Ohms is { } ohms ? ohms < MostOhms
        : Heard ? true
        : null;
}
