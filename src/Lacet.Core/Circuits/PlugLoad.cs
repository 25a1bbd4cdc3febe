namespace Lacet.Core.Circuits;

/// <summary>A row of the table "plug-loads".</summary>
/// <param name="ReceptacleAmps">The receptacle's rating, A.</param>
/// <param name="MostAmps">The largest load plugged into it, A.</param>
public sealed record PlugLoad(double ReceptacleAmps, double MostAmps);
