using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Circuits;

/// <summary>A row of the table "cord-jackets".</summary>
/// <param name="Region">Whose letters they are.</param>
/// <param name="Duty">What it is made for.</param>
/// <param name="Outdoors">Whether it may lie in the wet and in the sun.</param>
/// <param name="Name">Its letters.</param>
/// <param name="Most">The thickest size it is usually made in.</param>
public sealed record CordJacketRow(Region Region, CordDuty Duty, bool Outdoors, string Name, string Most);
