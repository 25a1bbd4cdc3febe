namespace Lacet.Core.Pull;

/// <summary>A row of the table "crimp-pull-out".</summary>
/// <param name="Size">Gauge.</param>
/// <param name="Pounds">Type test, lbf.</param>
public sealed record CrimpPullRow(string Size, double Pounds);
