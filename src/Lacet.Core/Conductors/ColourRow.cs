namespace Lacet.Core.Conductors;

/// <summary>A row of the table "colours".</summary>
/// <param name="Language">Whose word it is.</param>
/// <param name="Word">The word, in small letters.</param>
/// <param name="Hue">The colour.</param>
public sealed record ColourRow(string Language, string Word, Hue Hue);
