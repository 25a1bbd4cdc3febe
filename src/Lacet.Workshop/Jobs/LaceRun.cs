using Lacet.Core.Records;

namespace Lacet.Workshop.Jobs;

/// <summary>Stitches of a lace that are alike.</summary>
/// <param name="State">The state.</param>
/// <param name="Ends">How many ends.</param>
public sealed record LaceRun(EndState State, int Ends);
