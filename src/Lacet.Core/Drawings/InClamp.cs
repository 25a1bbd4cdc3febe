using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>An end in a screw-clamp block, cut through the middle: the screw presses it down on the cage.</summary>
internal static class InClamp
{
    internal static void Draw(DrawnEnd end, ScrewClampBlock block)
    {
        var face = Entry.Face(end, block.StripDepth.Millimetres);
        Block(block, face, end.Sheet);
        end.Wire();
        Screw(block, face, -end.BareHalf, end.Sheet);
        Entry.Faults(end, block.StripDepth.Millimetres, face);
        Entry.Dimension(end, block, face);
    }

    /// <summary>The block with its screw open.</summary>
    internal static void Alone(ScrewClampBlock block, Sheet sheet)
    {
        Block(block, 0, sheet);
        Screw(block, 0, -Entry.Opening(block), sheet);
    }

    private static void Block(ScrewClampBlock block, double face, Sheet sheet)
    {
        var (depth, opening) = (block.StripDepth.Millimetres, Entry.Opening(block));
        sheet.Box("landed-body", PartKind.Body, face, -Top(block), face + depth + 3, opening + 2.6);
        sheet.Box("landed-opening", PartKind.Opening, face, -opening, face + depth, opening);
        sheet.Box("landed-cage", PartKind.Plate, face + 1, opening, face + depth, opening + 1.2);
    }

    private static void Screw(ScrewClampBlock block, double face, double tipY, Sheet sheet)
    {
        var thread = block.Typical.Thread;
        var x = face + (block.StripDepth.Millimetres / 2);
        sheet.Box("landed-thread", PartKind.ScrewThread, x - (thread / 2), -Top(block), x + (thread / 2), tipY);
        sheet.Box("landed-slot", PartKind.ScrewSlot, x - 0.3, -Top(block), x + 0.3, -Top(block) + (thread * 0.4));
    }

    private static double Top(ScrewClampBlock block) => Entry.Opening(block) + (block.Typical.Thread * 1.8) + 1;
}
