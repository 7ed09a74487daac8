# frozen_string_literal: true

module Server
  module Models
    # At which step of a list of steps a maker stands.
    class Bookmark < ActiveRecord::Base
      belongs_to :maker

      # So many are kept of each maker; those that she has not been at for longest go first.
      KEPT = 1000

      # @param maker [Maker]
      # @param list [String] which list of steps
      # @return [Integer] the step, from 0 on
      def self.of(maker, list)
        maker.bookmarks.find_by(list: list)&.step || 0
      end

      # @param maker [Maker]
      # @param list [String]
      # @param step [Integer]
      # @return [void]
      def self.put(maker, list, step)
        upsert({ maker_id: maker.id, list: list, step: step }, unique_by: %i[maker_id list], update_only: %i[step])
        maker.bookmarks.order(updated_at: :desc).offset(KEPT).delete_all
      end
    end
  end
end
