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
    /// <summary>The lead that a query names.</summary>
    internal static UnitLead LeadOf(string lead) => QueryWord.Read<Lead>(lead, "lead").Unit();

    internal static UnitLead Unit(this Lead lead) => lead == Lead.Imperial ? UnitLead.Imperial : UnitLead.Metric;
}
