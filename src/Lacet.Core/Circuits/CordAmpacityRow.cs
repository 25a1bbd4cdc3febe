namespace Lacet.Core.Circuits;

/// <summary>A row of the table "nec-400-5".</summary>
/// <param name="Size">The conductors' size.</param>
/// <param name="Three">What each of three loaded conductors carries, A.</param>
/// <param name="Two">What each of two carries, A.</param>
public sealed record CordAmpacityRow(string Size, double Three, double Two);
