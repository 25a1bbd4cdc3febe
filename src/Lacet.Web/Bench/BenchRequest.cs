using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Web.Bench;

/// <summary>A wire and where it goes.</summary>
/// <param name="Conductor">The wire.</param>
/// <param name="Landing">Where it goes.</param>
/// <param name="Lead">Which unit leads in sentences.</param>
public sealed record BenchRequest(ConductorDocument Conductor, LandingDocument Landing, Lead Lead = Lead.Metric);

/// <summary>The same, with what was measured.</summary>
/// <param name="Conductor">The wire.</param>
/// <param name="Landing">Where it goes.</param>
/// <param name="MeasuredStripMm">Measured strip length, mm; null where nobody measured.</param>
/// <param name="Lead">Which unit leads in sentences.</param>
public sealed record SectionRequest(
    ConductorDocument Conductor, LandingDocument Landing, double? MeasuredStripMm = null, Lead Lead = Lead.Metric);

/// <summary>A wire as somebody typed it.</summary>
/// <param name="Text">Such as "14 sol cu".</param>
/// <param name="Current">What the text leaves out is taken from here.</param>
public sealed record WireTextRequest(string Text, ConductorDocument? Current = null);

/// <summary>How a typed wire was understood.</summary>
/// <param name="Conductor">The wire.</param>
/// <param name="ReadAs">In words.</param>
/// <param name="Area">Its area in both systems.</param>
public sealed record WireTextAnswer(ConductorDocument Conductor, string ReadAs, Readout Area);

/// <summary>Which unit leads.</summary>
public enum Lead
{
    /// <summary>mm and N·m.</summary>
    Metric,

    /// <summary>Inches and lbf·in.</summary>
    Imperial,
}
