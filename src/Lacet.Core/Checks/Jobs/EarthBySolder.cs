using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>An earth that depends on solder alone.</summary>
public sealed class EarthBySolder() : OfSplice("earth-by-solder", Harm.Shock);
