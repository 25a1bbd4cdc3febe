using Lacet.Core.Quantities;

namespace Lacet.Web.Http;

/// <summary>Which unit leads.</summary>
public enum Lead
{
    /// <summary>mm and N·m.</summary>
    Metric,

    /// <summary>Inches and lbf·in.</summary>
    Imperial,
}

/// <summary>Units as a request names them.</summary>
internal static class Leads
{
    /// <summary>Metric where a query says nothing.</summary>
    internal static ReaderFormat Unit(this QueryWord<Lead>? lead) => (lead?.Value ?? Lead.Metric).Unit();

    internal static ReaderFormat Unit(this Lead lead) =>
        ReaderFormat.For(lead == Lead.Imperial ? UnitSystem.Imperial : UnitSystem.Metric, ReaderWords.Region);
}
