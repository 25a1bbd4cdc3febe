namespace Lacet.Core.Jobs;

/// <summary>The connector of a splice, as its sheet has it.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="LeastCount">Fewest conductors.</param>
/// <param name="MostCount">Most conductors.</param>
/// <param name="LeastMm2">Smallest conductor, mm².</param>
/// <param name="MostMm2">Largest conductor, mm².</param>
/// <param name="TakesBothMetals">Whether it is listed for copper with aluminium.</param>
public sealed record SpliceConnector(string Name, int LeastCount, int MostCount, double LeastMm2, double MostMm2, bool TakesBothMetals = false);
