namespace Lacet.Core.Circuits;

/// <summary>A row of the table "cord-plugs".</summary>
/// <param name="Volts">What it is rated for, V.</param>
/// <param name="Rating">What it is rated for, A.</param>
/// <param name="Most">The largest load plugged in, A.</param>
/// <param name="ThreeBlade">Its name with an earth blade (NEMA WD 6).</param>
/// <param name="TwoBlade">Its name without; empty where there is none.</param>
public sealed record CordPlugRow(double Volts, double Rating, double Most, string ThreeBlade, string TwoBlade);
