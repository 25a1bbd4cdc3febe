using Lacet.Core.Reference;

namespace Lacet.Core.Planning;

/// <summary>A row of the table "survey-times".</summary>
/// <param name="Work">Which work.</param>
/// <param name="Minutes">How long it takes.</param>
public sealed record SurveyTime(string Work, double Minutes)
{
    private static readonly Dictionary<string, double> Rows = ReferenceTable
        .Rows<SurveyTime>("survey-times")
        .ToDictionary(r => r.Work, r => r.Minutes, StringComparer.Ordinal);

    /// <summary>Minutes of a kind of work.</summary>
    public static double Of(string work) => Rows[work];
}
