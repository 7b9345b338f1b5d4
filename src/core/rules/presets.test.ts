import { RULE_BOOK, topicById } from './book';
import { PRESETS } from './presets.data';

test('a set names rules that there are, each of its own topic, and none that only compares', () => {
  for (const { schools } of PRESETS) {
    for (const [topic, id] of Object.entries(schools)) {
      expect(topicById(RULE_BOOK, topic).id).toBe(topic);
      const row = RULE_BOOK.rows.find((r) => r.id === id);
      expect([topic, row?.topic, row?.comparisonOnly ?? false]).toEqual([topic, topic, false]);
      expect(id).not.toBe(topicById(RULE_BOOK, topic).defaultRule);
    }
  }
});
