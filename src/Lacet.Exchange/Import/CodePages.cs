using System.Text;

namespace Lacet.Exchange.Import;

/// <summary>
/// Encodings of single bytes, such as Windows-1252: the framework knows them only once it is told to, and whoever reads
/// text or a workbook needs them, whichever comes first.
/// </summary>
internal static class CodePages
{
    /// <summary>Makes them known; more than once is once.</summary>
    internal static void Register() => Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);
}
