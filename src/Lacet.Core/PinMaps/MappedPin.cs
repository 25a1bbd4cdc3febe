namespace Lacet.Core.PinMaps;

/// <summary>A pin of the controller's connector and the machine's terminal that it leads to.</summary>
/// <param name="Pin">Its number, counted from the key.</param>
/// <param name="Function">What it is for.</param>
/// <param name="Terminal">The terminal; empty where nobody said.</param>
/// <param name="Colour">The lead's colour, noted and never used to match; empty where nobody said.</param>
/// <param name="Ohms">What was measured from the pin to its terminal; null where nobody did. Infinite is an open way.</param>
public sealed record MappedPin(int Pin, PinFunction Function, string Terminal, string Colour = "", double? Ohms = null);
