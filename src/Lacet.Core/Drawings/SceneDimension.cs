using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>A level dimension line with its measure in print.</summary>
/// <param name="Id">What is measured: "strip", "lead", "pin", "depth", "measured".</param>
/// <param name="FromX">Left end, mm.</param>
/// <param name="ToX">Right end, mm.</param>
/// <param name="Y">Height of the line, mm.</param>
/// <param name="PartY">Where the thing that is measured lies, so that the extension lines reach it, mm.</param>
/// <param name="Label">The measure in both systems.</param>
public sealed record SceneDimension(string Id, double FromX, double ToX, double Y, double PartY, Readout Label);
